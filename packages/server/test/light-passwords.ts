/** Hashes a password lightly: hundreds of tests sign in, and only one is about how hard a hash is to guess. */
import type * as Passwords from 'argon2';

jest.mock('argon2', () => {
  const real = jest.requireActual<typeof Passwords>('argon2');
  return {
    ...real,
    hash: (password: string) =>
      real.hash(password, { memoryCost: 1024, timeCost: 2, parallelism: 1 }),
  };
});
