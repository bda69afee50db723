package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import rondel.job.ElementId;
import rondel.job.SheetId;

/** What elements and sheets are meant where a recipe names them otherwise than by their ids. */
public interface IdSource {

    /** @throws rondel.words.Refusal if nothing is meant */
    List<ElementId> elements(JsonNode said);

    /** @throws rondel.words.Refusal if no sheet is meant */
    SheetId sheet(JsonNode said);
}
