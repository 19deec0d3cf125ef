import { hashPassword, passwordMatches } from './password';

jest.unmock('argon2');

test('a password is kept as a hash that takes 64 MB and three rounds to try', async () => {
  const hash = await hashPassword('reed and river');
  expect(hash).toMatch(/^\$argon2id\$v=19\$m=65536,/);
  expect(hash).toMatch(/,t=3,/);
  const mayTry = (): Promise<void> => Promise.resolve();
  expect(await passwordMatches(hash, 'reed and river', mayTry)).toBe(true);
  expect(await passwordMatches(hash, 'reed and rivet', mayTry)).toBe(false);
});
