import { expose } from 'comlink';
import { openArchive, packArchive } from '../files/archive.ts';

/** Archives are packed and opened away from the page. */
const archiveWorker = { packArchive, openArchive };

export type ArchiveWorker = typeof archiveWorker;
expose(archiveWorker);
