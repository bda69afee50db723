package rondel.lines.check;

/** How much a finding matters: it would spoil what is made, it may, or it is good to know. */
public enum Severity {
    ERROR,
    WARNING,
    NOTE
}
