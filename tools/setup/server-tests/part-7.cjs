require('./together.cjs')(7, 8);
