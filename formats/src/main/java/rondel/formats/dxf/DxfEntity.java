package rondel.formats.dxf;

import java.util.ArrayList;
import java.util.List;

/** One entity with its groups, and for old polylines and inserts with attributes what follows and belongs to it. */
final class DxfEntity {

    private final String type;
    private final List<DxfGroup> groups = new ArrayList<>();
    private final List<DxfEntity> parts = new ArrayList<>();

    DxfEntity(String type) {
        this.type = type;
    }

    String type() {
        return type;
    }

    List<DxfGroup> groups() {
        return groups;
    }

    List<DxfEntity> parts() {
        return parts;
    }

    double number(int code, double otherwise) {
        for (DxfGroup g : groups) {
            if (g.code() == code) {
                return g.number();
            }
        }
        return otherwise;
    }

    int whole(int code, int otherwise) {
        return (int) Math.clamp(number(code, otherwise), Integer.MIN_VALUE, Integer.MAX_VALUE);
    }

    String text(int code, String otherwise) {
        for (DxfGroup g : groups) {
            if (g.code() == code) {
                return g.value();
            }
        }
        return otherwise;
    }

    /** All values of a code, in order. */
    double[] numbers(int code) {
        return groups.stream()
                .filter(g -> g.code() == code)
                .mapToDouble(DxfGroup::number)
                .toArray();
    }

    String layer() {
        return text(8, "0");
    }

    /** Whether its axes are mirrored, as those of things that were drawn from below are (arbitrary axis algorithm, for z alone). */
    boolean mirrored() {
        return number(230, 1) < 0;
    }
}
