package lumko.core.job;

import lumko.core.repair.Mark;

/** A mark on a surface of a job. */
public record Place(String key, Mark mark) {}
