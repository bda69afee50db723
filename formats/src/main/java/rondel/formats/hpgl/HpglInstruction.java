package rondel.formats.hpgl;

import java.util.List;

/** One instruction: two letters with their figures, or an escape for the line itself.
 *
 * @param code the two letters in capitals; of an escape, {@code ESC.} and its letter
 * @param figures its parameters, in order */
public record HpglInstruction(String code, List<Double> figures) {

    public HpglInstruction {
        figures = List.copyOf(figures);
    }

    public boolean has(int count) {
        return figures.size() >= count;
    }

    public double figure(int i) {
        return figures.get(i);
    }
}
