package farglass.core.study;

import farglass.core.bout.Uniform;
import java.time.LocalDate;

/**
 * The date a study works towards.
 *
 * @param ours id of the athlete we prepare
 * @param date first day of the event
 * @param ruleset name of the rules it is fought under
 */
public record Camp(String ours, String event, LocalDate date, String ruleset, Uniform uniform) {}
