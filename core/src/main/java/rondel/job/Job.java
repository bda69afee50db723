package rondel.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** One document, immutable. Every edit makes a new one that shares what did not change.
 *
 * @param unit what lengths are shown in; geometry is in mm whatever it says
 * @param linesScale whether lines grow with what is scaled, or keep their width
 * @param roleRules how things of a look are made
 * @param roleLooks how lines of each role leave in files
 * @param picturesBy what of a picture counts for its size and place
 * @param plans what is laid out on stock, and how; their sheets stand among the sheets
 * @param lists names and other words that are filled into designs
 * @param run from which materials and in which passes sheets are made
 * @param handOff sets of files that leave it together
 * @param media every picture that an element or a paint uses
 * @param nextNumber counts up so that new elements get ids no other ever had */
public record Job(
        String title,
        LengthUnit unit,
        boolean linesScale,
        List<Swatch> palette,
        List<RoleRule> roleRules,
        List<RoleLook> roleLooks,
        PictureBounds picturesBy,
        List<Sheet> sheets,
        List<Plan> plans,
        List<NameList> lists,
        RunSettings run,
        List<HandOffSet> handOff,
        Map<MediaId, Media> media,
        long nextNumber,
        Extras extras) {

    public Job {
        palette = List.copyOf(palette);
        roleRules = List.copyOf(roleRules);
        roleLooks = List.copyOf(roleLooks);
        sheets = List.copyOf(sheets);
        plans = List.copyOf(plans);
        lists = List.copyOf(lists);
        handOff = List.copyOf(handOff);
        media = Map.copyOf(media);
    }

    /** A job with one empty sheet, lengths in mm. */
    public static Job blank(String title, LengthUnit unit, double width, double height) {
        return new Job(
                title,
                unit,
                true,
                List.of(),
                List.of(),
                List.of(),
                PictureBounds.SEEN,
                List.of(Sheet.of(new SheetId("sheet-1"), "Sheet 1", width, height)),
                List.of(),
                List.of(),
                RunSettings.NONE,
                List.of(),
                Map.of(),
                1,
                Extras.NONE);
    }

    public Sheet sheet(SheetId id) {
        return sheets.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.of("job.noSheet", id));
    }

    public Optional<Located> find(ElementId id) {
        for (Sheet sheet : sheets) {
            Optional<Located> found = sheet.find(id);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** The element with its place in the tree.
     *
     * @throws Refusal if the job has none with that id */
    public Located located(ElementId id) {
        return find(id).orElseThrow(() -> Refusal.of("job.noElement", id));
    }

    public Stream<Element> everything() {
        return sheets.stream().flatMap(s -> s.elements().stream()).flatMap(GroupElement::everything);
    }

    /** Those of {@link #everything} that follow others or are kept alike. Each sheet is looked through once. */
    public Stream<Element> linked() {
        return sheets.stream().flatMap(s -> s.linked().stream());
    }

    public Job withTitle(String other) {
        return changed(d -> d.title = other);
    }

    public Job withUnit(LengthUnit other) {
        return changed(d -> d.unit = other);
    }

    public Job withSheets(List<Sheet> other) {
        return changed(d -> d.sheets = other);
    }

    public Job withLinesScale(boolean other) {
        return changed(d -> d.linesScale = other);
    }

    public Job withPalette(List<Swatch> other) {
        return changed(d -> d.palette = other);
    }

    public Job withRoleRules(List<RoleRule> other) {
        return changed(d -> d.roleRules = other);
    }

    public Job withRoleLooks(List<RoleLook> other) {
        return changed(d -> d.roleLooks = other);
    }

    public Job withPicturesBy(PictureBounds other) {
        return changed(d -> d.picturesBy = other);
    }

    /** How lines of a role leave in files: as the job says, or as is usual. */
    public RoleLook lookOf(Role role) {
        return roleLooks.stream().filter(l -> l.role() == role).findFirst().orElseGet(() -> RoleLook.usual(role));
    }

    public Job withNextNumber(long other) {
        return changed(d -> d.nextNumber = other);
    }

    public Job withPlans(List<Plan> other) {
        return changed(d -> d.plans = other);
    }

    public Job withLists(List<NameList> other) {
        return changed(d -> d.lists = other);
    }

    public Job withRun(RunSettings other) {
        return changed(d -> d.run = other);
    }

    public Job withHandOff(List<HandOffSet> other) {
        return changed(d -> d.handOff = other);
    }

    /** The same with the plan of this one's id replaced by it. */
    public Job withPlan(Plan other) {
        return withPlans(
                plans.stream().map(p -> p.id().equals(other.id()) ? other : p).toList());
    }

    public Optional<Plan> plan(PlanId id) {
        return plans.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Optional<NameList> list(NameListId id) {
        return lists.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    public Job withMedia(Iterable<Media> more) {
        Map<MediaId, Media> all = new LinkedHashMap<>(media);
        more.forEach(m -> all.putIfAbsent(m.id(), m));
        return all.size() == media.size() ? this : changed(d -> d.media = all);
    }

    private Job changed(Consumer<JobDraft> change) {
        JobDraft draft = new JobDraft(this);
        change.accept(draft);
        return draft.made();
    }

    public Job withSheet(SheetId id, UnaryOperator<Sheet> change) {
        List<Sheet> changed = new ArrayList<>(sheets);
        changed.set(sheets.indexOf(sheet(id)), change.apply(sheet(id)));
        return withSheets(changed);
    }
}
