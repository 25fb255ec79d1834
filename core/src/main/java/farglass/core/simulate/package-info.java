/**
 * The actor: made-up bouts from written game sheets and a seed, with the film's script and everything that truly happened.
 * Richer than any estimator here, so that the estimators can be tested against it.
 */
package farglass.core.simulate;
