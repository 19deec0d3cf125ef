/** Small stand-ins for outside devices, so that everything can be tried without them. */
export * from './kitchen-scale';
export * from './label-printer';
export * from './mail-box';
