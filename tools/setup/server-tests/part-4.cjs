require('./together.cjs')(4, 8);
