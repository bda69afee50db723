package rondel.desktop.compose.template;

import java.nio.file.Path;
import java.util.Map;
import rondel.job.ElementId;
import rondel.job.Rgba;

/** What a person fills into a template: what texts say, files for windows, colours for colours. */
public record FillInForm(Map<ElementId, String> texts, Map<ElementId, Path> pictures, Map<Rgba, Rgba> colours) {}
