/** Small stand-ins for outside devices, so that everything can be tried without them. */
export * from './angle-gauge';
export * from './force-tester';
export * from './kitchen-scale';
export * from './label-printer';
export * from './loopback';
export * from './mail-box';
export * from './microscope';
