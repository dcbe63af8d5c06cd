export { demoPieces } from '@keen-sinew/core';
