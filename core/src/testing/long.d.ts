/** Whether tests take every case (npm run test:long) or a seeded sample; put in by vitest.config.ts. */
declare const __LONG__: boolean;
