// Fetched for documents of older versions, and for files, which may be of any.
export { readPiece, readPieceText } from '@keen-sinew/core';
