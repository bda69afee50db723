package rondel.formats.svg;

import java.util.List;
import java.util.Optional;
import org.w3c.css.sac.AttributeCondition;
import org.w3c.css.sac.CombinatorCondition;
import org.w3c.css.sac.Condition;
import org.w3c.css.sac.ConditionalSelector;
import org.w3c.css.sac.DescendantSelector;
import org.w3c.css.sac.ElementSelector;
import org.w3c.css.sac.Selector;
import org.w3c.css.sac.SiblingSelector;

/** Which nodes a CSS 2 selector means, and how much it weighs (CSS 2.2, 5 and 6.4.3). */
final class Selectors {

    private Selectors() {}

    static boolean matches(Selector selector, SvgNode node) {
        return switch (selector.getSelectorType()) {
            case Selector.SAC_ANY_NODE_SELECTOR -> true;
            case Selector.SAC_ELEMENT_NODE_SELECTOR -> {
                String name = ((ElementSelector) selector).getLocalName();
                yield name == null || name.equals(node.tag);
            }
            case Selector.SAC_CONDITIONAL_SELECTOR -> {
                ConditionalSelector c = (ConditionalSelector) selector;
                yield matches(c.getSimpleSelector(), node) && holds(c.getCondition(), node);
            }
            case Selector.SAC_DESCENDANT_SELECTOR -> {
                DescendantSelector d = (DescendantSelector) selector;
                yield matches(d.getSimpleSelector(), node) && anyAncestor(d.getAncestorSelector(), node);
            }
            case Selector.SAC_CHILD_SELECTOR -> {
                DescendantSelector d = (DescendantSelector) selector;
                yield matches(d.getSimpleSelector(), node)
                        && node.parent
                                .filter(p -> matches(d.getAncestorSelector(), p))
                                .isPresent();
            }
            case Selector.SAC_DIRECT_ADJACENT_SELECTOR -> {
                SiblingSelector s = (SiblingSelector) selector;
                yield matches(s.getSiblingSelector(), node)
                        && before(node).filter(b -> matches(s.getSelector(), b)).isPresent();
            }
            default -> false;
        };
    }

    private static boolean anyAncestor(Selector selector, SvgNode node) {
        for (Optional<SvgNode> p = node.parent; p.isPresent(); p = p.get().parent) {
            if (matches(selector, p.get())) {
                return true;
            }
        }
        return false;
    }

    private static Optional<SvgNode> before(SvgNode node) {
        List<SvgNode> siblings = node.parent.map(p -> p.children).orElse(List.of());
        for (int i = siblings.indexOf(node) - 1; i >= 0; i--) {
            if (!siblings.get(i).is(SvgNode.TEXT)) {
                return Optional.of(siblings.get(i));
            }
        }
        return Optional.empty();
    }

    private static boolean holds(Condition condition, SvgNode node) {
        switch (condition.getConditionType()) {
            case Condition.SAC_AND_CONDITION -> {
                CombinatorCondition both = (CombinatorCondition) condition;
                return holds(both.getFirstCondition(), node) && holds(both.getSecondCondition(), node);
            }
            case Condition.SAC_CLASS_CONDITION -> {
                return hasWord(node.attribute("class", ""), ((AttributeCondition) condition).getValue());
            }
            case Condition.SAC_ID_CONDITION -> {
                return node.attribute("id", "").equals(((AttributeCondition) condition).getValue());
            }
            case Condition.SAC_ATTRIBUTE_CONDITION -> {
                AttributeCondition a = (AttributeCondition) condition;
                Optional<String> value = node.attribute(a.getLocalName());
                return value.isPresent()
                        && (a.getValue() == null || a.getValue().equals(value.get()));
            }
            case Condition.SAC_ONE_OF_ATTRIBUTE_CONDITION -> {
                AttributeCondition a = (AttributeCondition) condition;
                return hasWord(node.attribute(a.getLocalName(), ""), a.getValue());
            }
            case Condition.SAC_PSEUDO_CLASS_CONDITION -> {
                return "first-child".equals(((AttributeCondition) condition).getValue())
                        && node.parent.isPresent()
                        && before(node).isEmpty();
            }
            default -> {
                return false;
            }
        }
    }

    private static boolean hasWord(String words, String word) {
        return words.equals(word) || List.of(words.strip().split("\\s+")).contains(word);
    }

    /** Ids count most, then classes and attributes, then element names. */
    static int specificity(Selector selector) {
        return switch (selector) {
            case ConditionalSelector c -> specificity(c.getSimpleSelector()) + weight(c.getCondition());
            case DescendantSelector d -> specificity(d.getAncestorSelector()) + specificity(d.getSimpleSelector());
            case SiblingSelector s -> specificity(s.getSelector()) + specificity(s.getSiblingSelector());
            case ElementSelector e -> e.getLocalName() == null ? 0 : 1;
            default -> 0;
        };
    }

    private static int weight(Condition condition) {
        if (condition instanceof CombinatorCondition both) {
            return weight(both.getFirstCondition()) + weight(both.getSecondCondition());
        }
        return condition.getConditionType() == Condition.SAC_ID_CONDITION ? 10_000 : 100;
    }
}
