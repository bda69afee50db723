package rondel.formats.picture;

/** Whether a picture file reaches its end mark: a download that broke off does not. */
final class PictureEnd {

    private static final int TAIL = 64 * 1024;

    private PictureEnd() {}

    static boolean isWhole(byte[] bytes, String extension) {
        return extension.equals("png")
                ? has(bytes, new int[] {'I', 'E', 'N', 'D'})
                : has(bytes, new int[] {0xff, 0xd9});
    }

    private static boolean has(byte[] bytes, int[] mark) {
        for (int i = bytes.length - mark.length; i >= Math.max(0, bytes.length - TAIL); i--) {
            boolean here = true;
            for (int k = 0; here && k < mark.length; k++) {
                here = (bytes[i + k] & 255) == mark[k];
            }
            if (here) {
                return true;
            }
        }
        return false;
    }
}
