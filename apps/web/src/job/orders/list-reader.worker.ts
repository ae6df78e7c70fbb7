import { expose } from 'comlink';
import { listLines } from './list-lines';

expose(listLines);
