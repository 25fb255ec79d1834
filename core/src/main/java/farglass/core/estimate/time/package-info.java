/**
 * What is counted over time: how often in the minutes watched, how long a stay lasts, how much of the time was spent where. Times are in
 * seconds, exposures in minutes. Start at {@link farglass.core.estimate.time.Rates}.
 */
package farglass.core.estimate.time;
