import { budgetOf } from '@grevik/core';
import { expose } from 'comlink';

expose(budgetOf);
