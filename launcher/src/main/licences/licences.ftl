<#list dependencyMap as e>
${e.getKey().name!e.getKey().artifactId} ${e.getKey().version}<#list e.getValue() as license>: ${license}</#list>
</#list>
