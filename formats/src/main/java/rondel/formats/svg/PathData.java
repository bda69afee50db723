package rondel.formats.svg;

import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** SVG path data to an outline (SVG 2, 9.3): every command, absolute and relative. */
final class PathData {

    private final Numbers in;
    private final OutlineBuilder out = new OutlineBuilder();
    private double controlX;
    private double controlY;
    private char previous;

    private PathData(String text) {
        in = new Numbers(text);
    }

    /** An outline, and whether the data was in order to its end. */
    record Result(Outline outline, boolean whole) {}

    /** Reads up to the first error, as SVG wants.
     *
     * @throws Numbers.NotFinite if a number overflows or says it is none */
    static Result parse(String text) {
        PathData data = new PathData(text);
        boolean whole = true;
        try {
            data.commands();
        } catch (Numbers.NotFinite e) {
            throw e;
        } catch (NumberFormatException e) {
            if (NotANumber.startsWith(data.in.ahead())) {
                throw new Numbers.NotFinite(data.in.rest());
            }
            whole = false;
        }
        return new Result(data.out.build(), whole);
    }

    private void commands() {
        char command = 0;
        while (!in.atEnd()) {
            char c = in.peek();
            if (Character.isLetter(c)) {
                if (command == 0 && (c | 32) != 'm') {
                    throw new NumberFormatException(in.ahead());
                }
                if (NotANumber.startsWith(in.ahead())) {
                    throw new Numbers.NotFinite(in.ahead());
                }
                command = in.take();
            } else if (command == 0 || (command | 32) == 'z') {
                throw new NumberFormatException(in.ahead());
            } else if ((command | 32) == 'm') {
                command = command == 'm' ? 'l' : 'L';
            }
            segment(command);
            previous = (char) (command | 32);
        }
    }

    private void segment(char command) {
        boolean relative = command >= 'a';
        double ox = relative ? out.x() : 0;
        double oy = relative ? out.y() : 0;
        switch (command | 32) {
            case 'm' -> out.moveTo(ox + in.next(), oy + in.next());
            case 'l' -> out.lineTo(ox + in.next(), oy + in.next());
            case 'h' -> out.lineTo(ox + in.next(), out.y());
            case 'v' -> out.lineTo(out.x(), oy + in.next());
            case 'c' -> {
                double ax = ox + in.next();
                double ay = oy + in.next();
                cubic(ax, ay, ox, oy);
            }
            case 's' -> {
                boolean follows = previous == 'c' || previous == 's';
                double ax = follows ? 2 * out.x() - controlX : out.x();
                double ay = follows ? 2 * out.y() - controlY : out.y();
                cubic(ax, ay, ox, oy);
            }
            case 'q' -> {
                double qx = ox + in.next();
                double qy = oy + in.next();
                quad(qx, qy, ox, oy);
            }
            case 't' -> {
                boolean follows = previous == 'q' || previous == 't';
                double qx = follows ? 2 * out.x() - controlX : out.x();
                double qy = follows ? 2 * out.y() - controlY : out.y();
                quad(qx, qy, ox, oy);
            }
            case 'a' -> {
                double rx = in.next();
                double ry = in.next();
                double turn = in.next();
                boolean large = in.flag();
                boolean sweep = in.flag();
                out.arcTo(rx, ry, turn, large, sweep, ox + in.next(), oy + in.next());
            }
            case 'z' -> out.close();
            default -> throw new NumberFormatException(in.ahead());
        }
    }

    private void cubic(double ax, double ay, double ox, double oy) {
        double bx = ox + in.next();
        double by = oy + in.next();
        double x = ox + in.next();
        double y = oy + in.next();
        out.cubicTo(ax, ay, bx, by, x, y);
        controlX = bx;
        controlY = by;
    }

    private void quad(double qx, double qy, double ox, double oy) {
        double x = ox + in.next();
        double y = oy + in.next();
        out.quadTo(qx, qy, x, y);
        controlX = qx;
        controlY = qy;
    }
}
