require('./together.cjs')(1, 8);
