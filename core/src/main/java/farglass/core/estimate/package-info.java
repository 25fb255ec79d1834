/**
 * How often, how long, and how sure: shares with intervals, side preference, durations. Takes counts per bout, knows
 * nothing of techniques. Start at {@link farglass.core.estimate.Shares}.
 */
package farglass.core.estimate;
