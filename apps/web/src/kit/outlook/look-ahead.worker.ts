import { expose } from 'comlink';
import { lookAhead } from './look-ahead';

expose(lookAhead);
