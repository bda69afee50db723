package rondel.formats.dxf;

/** One group of a DXF file.
 *
 * @param code what the value means
 * @param value without its line's end; of names and words with blanks around it taken off */
record DxfGroup(int code, String value) {

    double number() {
        try {
            double v = Double.parseDouble(value);
            return Double.isFinite(v) ? v : 0;
        } catch (NumberFormatException e) {
            return 0;
        }
    }

    int whole() {
        return (int) Math.clamp(number(), Integer.MIN_VALUE, Integer.MAX_VALUE);
    }
}
