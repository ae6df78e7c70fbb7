import { expose } from 'comlink';
import { StationLog } from './station-log';

expose(new StationLog());
