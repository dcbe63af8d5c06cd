/** Tells one build of the core from another; put in by the bundler. */
declare const __BUILD_ID__: string;
