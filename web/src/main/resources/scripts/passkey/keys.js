/* What the server asks a device for, and what the device answers, between bytes and text. */
export const bytes = text => Uint8Array.from(atob(text.replace(/-/g, '+').replace(/_/g, '/')), c => c.charCodeAt(0));

export const text = buffer => btoa(String.fromCharCode(...new Uint8Array(buffer))).replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '');

const keys = list => (list ?? []).map(key => ({ ...key, id: bytes(key.id) }));

/** What the server asks for, as a browser takes it. */
export const toMake = asked => ({
  ...asked,
  challenge: bytes(asked.challenge),
  user: { ...asked.user, id: bytes(asked.user.id) },
  excludeCredentials: keys(asked.excludeCredentials),
});

export const toEnter = asked => ({ ...asked, challenge: bytes(asked.challenge), allowCredentials: keys(asked.allowCredentials) });

/** A key as the server takes it. */
export const answer = key => {
  const told = { id: key.id, rawId: text(key.rawId), type: key.type, clientExtensionResults: key.getClientExtensionResults(), authenticatorAttachment: key.authenticatorAttachment };
  const from = key.response;
  const response = { clientDataJSON: text(from.clientDataJSON) };
  if (from.attestationObject) {
    response.attestationObject = text(from.attestationObject);
    response.transports = from.getTransports?.() ?? [];
  } else {
    response.authenticatorData = text(from.authenticatorData);
    response.signature = text(from.signature);
    if (from.userHandle) response.userHandle = text(from.userHandle);
  }
  return { ...told, response };
};
