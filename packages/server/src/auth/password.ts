/** Passwords are kept as argon2id hashes; the library's defaults follow the present recommendation. */
import argon2 from 'argon2';

export const hashPassword = (password: string): Promise<string> => argon2.hash(password);

export const passwordMatches = (hash: string, password: string): Promise<boolean> =>
  argon2.verify(hash, password);
