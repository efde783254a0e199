// The token that every request which changes something carries.
export const csrf = () => document.querySelector('meta[name=csrf]')?.content ?? '';
