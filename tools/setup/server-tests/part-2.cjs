require('./together.cjs')(2, 8);
