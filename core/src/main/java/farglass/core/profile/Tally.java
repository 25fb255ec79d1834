package farglass.core.profile;

import farglass.core.bout.Seat;
import java.util.List;

/** One question put to one bout: every chance there was, and which option was taken. */
interface Tally {
    List<Evidence> in(Watched bout, Seat seat);
}
