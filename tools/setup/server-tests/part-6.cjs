require('./together.cjs')(6, 8);
