import { z } from 'zod';

// Zod's fast path builds functions from text, which the content security policy forbids; switching
// it off before any schema is made keeps the browser's console clean and the behaviour the same.
z.config({ jitless: true });

export { z };
