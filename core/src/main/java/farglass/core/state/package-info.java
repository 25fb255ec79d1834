/**
 * What follows from a bout's moments by the rules of the sport: who is where at every instant, visits, the tide, and the
 * contradictions in the telling. Start at {@link farglass.core.state.Timeline}.
 */
package farglass.core.state;
