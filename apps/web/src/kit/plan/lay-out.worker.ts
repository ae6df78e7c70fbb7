import { expose } from 'comlink';
import { layOut } from './lay-out';

expose(layOut);
