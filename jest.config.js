/** One project a package; the server's runs against a real MariaDB whose address comes in the environment. */
const shared = {
  transform: {
    '^.+\\.(t|j)sx?$': [
      '@swc/jest',
      { jsc: { target: 'es2022', transform: { react: { runtime: 'automatic' } } } },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(yalps|comlink|p-limit|yocto-queue)/)'],
  extensionsToTreatAsEsm: [],
};

/** @type {import('jest').Config} */
export default {
  // Hashing passwords and making databases takes its time on a busy machine; a minute was once too little.
  testTimeout: 240_000,
  projects: [
    { ...shared, displayName: 'scripts', rootDir: 'scripts', testMatch: ['<rootDir>/*.test.ts'] },
    { ...shared, displayName: 'core', rootDir: 'packages/core' },
    { ...shared, displayName: 'contract', rootDir: 'packages/contract' },
    {
      ...shared,
      displayName: 'server',
      rootDir: 'packages/server',
      setupFiles: ['<rootDir>/test/light-passwords.ts'],
    },
    {
      ...shared,
      displayName: 'web',
      rootDir: 'packages/web',
      testEnvironment: 'jsdom',
      // The bundler gives a script of its own an address.
      moduleNameMapper: { '[?]worker&url$': '<rootDir>/test/worker-address.ts' },
      setupFiles: ['<rootDir>/test/setup.ts'],
      setupFilesAfterEnv: ['<rootDir>/test/patience.ts'],
    },
  ],
};
