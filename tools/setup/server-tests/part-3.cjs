require('./together.cjs')(3, 8);
