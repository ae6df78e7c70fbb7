import { expose } from 'comlink';
import { simulations } from './simulations';

expose(simulations);
