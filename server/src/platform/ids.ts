export { v7 as uuidv7 } from 'uuid';
