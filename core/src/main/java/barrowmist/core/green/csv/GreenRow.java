package barrowmist.core.green.csv;

import barrowmist.core.green.Inspection;
import barrowmist.core.green.LotRules;
import barrowmist.core.green.SampleStage;

/**
 * One sample of a lot in a table.
 *
 * @param line line of the file, from 1; 0 when it was not read from one
 * @param lot the lot; the same lot may stand in several rows, one a stage
 * @param stage the sample
 * @param inspection what was measured on it
 */
public record GreenRow(int line, LotRules.Entry lot, SampleStage stage, Inspection inspection) {}
