export { demoPieces, demoWorkshop } from '@keen-sinew/core';
