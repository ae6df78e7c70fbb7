import { expose } from 'comlink';
import { lookAhead, openTypes } from './look-ahead';

expose({ lookAhead, openTypes });
