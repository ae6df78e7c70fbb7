import { whatIf } from '@grevik/core';
import { expose } from 'comlink';

expose(whatIf);
