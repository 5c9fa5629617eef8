package nabe.meal;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.IntVar;

/** Washing up that may be, in the clock's model. */
record Washing(BoolVar there, IntVar start) {}
