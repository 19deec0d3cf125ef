/** Where the bundler would put a script of its own; nothing is loaded from it in a test. */
export default '/assets/worker.js';
