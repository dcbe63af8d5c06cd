import { config } from 'zod';

// Zod's fast path builds functions from text, which the content security policy forbids; switching
// it off before any schema is made keeps the browser's console clean and the behaviour the same.
config({ jitless: true });

// As a namespace, so that a bundler takes only what is used of it.
export * as z from 'zod';
