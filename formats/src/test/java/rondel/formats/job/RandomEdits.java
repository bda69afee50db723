package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.DoubleNode;
import com.fasterxml.jackson.databind.node.IntNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.catalogue.SampleJob;
import rondel.job.Element;
import rondel.job.Job;
import rondel.lines.filling.FillOutline;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Operations that somebody might write by hand: examples of the catalogue about other elements, with other figures, some of
 *  them out of any range. */
public final class RandomEdits {

    private static final double LARGEST = 3;
    private static final int MOST = 200;
    private static final int FEW = 12;
    private static final Set<String> SAMPLES =
            SampleJob.make().everything().map(e -> e.id().value()).collect(Collectors.toSet());

    private final ObjectMapper mapper = new ObjectMapper();
    private final OperationJson json = new OperationJson(MediaStore.inline());
    private final List<OperationKind> kinds = OperationCatalogue.kinds();
    private final Random random;

    public RandomEdits(long seed) {
        this.random = new Random(seed);
    }

    /** The sample after so many edits; those that are refused are left out. */
    public Job after(int steps) throws Exception {
        Job job = SampleJob.make();
        for (int i = 0; i < steps; i++) {
            try {
                job = json.read(next(job)).apply(job);
            } catch (Refusal refused) {
                // somebody would read the sentence and do something else
            }
        }
        return job;
    }

    /** @param job whose elements it is about, mostly */
    public JsonNode next(Job job) throws IOException {
        Operation example = kinds.get(random.nextInt(kinds.size())).example();
        List<String> ids = job.everything().map(Element::id).map(i -> i.value()).toList();
        JsonNode changed = changed(mapper.readTree(mapper.writeValueAsString(json.write(example))), ids);
        if (changed.path("settings") instanceof ObjectNode settings && example instanceof FillOutline) {
            settings.put("count", FEW); // a large outline takes minutes to fill, and somebody would stop it
        }
        return changed;
    }

    private JsonNode changed(JsonNode node, List<String> ids) {
        return switch (node) {
            case ObjectNode o -> {
                o.properties().forEach(f -> f.setValue(changed(f.getValue(), ids)));
                yield o;
            }
            case ArrayNode a -> {
                for (int i = 0; i < a.size(); i++) {
                    a.set(i, changed(a.get(i), ids));
                }
                yield a;
            }
            case TextNode t ->
                SAMPLES.contains(t.asText()) && !ids.isEmpty() && random.nextInt(4) != 0
                        ? JsonNodeFactory.instance.textNode(ids.get(random.nextInt(ids.size())))
                        : t;
            case IntNode n -> random.nextInt(3) == 0 ? IntNode.valueOf(whole(n.intValue())) : n;
            case DoubleNode n -> random.nextInt(3) == 0 ? DoubleNode.valueOf(figure(n.doubleValue())) : n;
            default -> node;
        };
    }

    private int whole(int n) {
        return (int) Math.clamp(figure(n), -MOST, MOST);
    }

    private double figure(double n) {
        return switch (random.nextInt(8)) {
            case 0 -> 0;
            case 1 -> -n;
            default -> n * LARGEST * random.nextDouble();
        };
    }
}
