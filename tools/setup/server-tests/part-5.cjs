require('./together.cjs')(5, 8);
