package rondel.job;

/** What is sewn on, by how much stitches pull it together. */
public enum Cloth {
    /** Cotton, linen, canvas. */
    WOVEN(0.2),
    /** Felt and leather hardly give way. */
    FELT(0.1),
    /** Jersey, knitwear. */
    KNIT(0.4),
    /** Towels and fleece: the pile swallows the edges too. */
    PILE(0.5);

    private final double compensation;

    Cloth(double compensation) {
        this.compensation = compensation;
    }

    /** How far a fill has to reach beyond its outline, in mm, as is usual in the trade. */
    public double compensation() {
        return compensation;
    }
}
