import { budgetCurve, budgetOf } from '@grevik/core';
import { expose } from 'comlink';

expose({ budgetOf, budgetCurve });
