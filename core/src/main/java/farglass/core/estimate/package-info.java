/**
 * How often, and how sure: shares with intervals, side preference, comparisons, trends. Takes counts per bout, knows
 * nothing of techniques; what is counted over time has a room of its own. Start at {@link farglass.core.estimate.Shares}.
 */
package farglass.core.estimate;
