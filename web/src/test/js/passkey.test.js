import assert from 'node:assert/strict';
import { test } from 'node:test';
import { answer, bytes, text, toEnter, toMake } from '../../main/resources/scripts/passkey/keys.js';

test('bytes go to text and back, also those a file name could not have', () => {
  const all = Uint8Array.from({ length: 256 }, (_, i) => i);
  assert.deepEqual(bytes(text(all)), all);
  assert.match(text(all), /^[\w-]+$/);
});

test('what is asked for has bytes where a browser wants them', () => {
  const made = toMake({ challenge: 'AQID', user: { id: 'BAUG', name: 'a@b.example' }, excludeCredentials: [{ id: 'Bwg', type: 'public-key' }] });
  assert.deepEqual([...made.challenge], [1, 2, 3]);
  assert.deepEqual([...made.user.id], [4, 5, 6]);
  assert.equal(made.user.name, 'a@b.example');
  assert.deepEqual([...made.excludeCredentials[0].id], [7, 8]);
  assert.deepEqual(toEnter({ challenge: 'AQID' }).allowCredentials, []);
});

test('a new key and a signature are told in their own words', () => {
  const key = response => ({ id: 'x', rawId: Uint8Array.of(1), type: 'public-key', getClientExtensionResults: () => ({}), response });
  const made = answer(key({ clientDataJSON: Uint8Array.of(2), attestationObject: Uint8Array.of(3), getTransports: () => ['internal'] }));
  assert.deepEqual(made.response, { clientDataJSON: 'Ag', attestationObject: 'Aw', transports: ['internal'] });
  const signed = answer(key({ clientDataJSON: Uint8Array.of(2), authenticatorData: Uint8Array.of(4), signature: Uint8Array.of(5), userHandle: null }));
  assert.deepEqual(signed.response, { clientDataJSON: 'Ag', authenticatorData: 'BA', signature: 'BQ' });
});
