# Files of one room are compiled together (unity builds): names in unnamed namespaces must differ within a room only, and
# a changed file compiles its room anew, not others.
function(compile_by_rooms target)
  set_target_properties(${target} PROPERTIES UNITY_BUILD_MODE GROUP)
  foreach(source ${ARGN})
    file(RELATIVE_PATH path ${CMAKE_CURRENT_SOURCE_DIR} ${source})
    string(REGEX MATCH "^[^/]+" room ${path})
    set_source_files_properties(${source} PROPERTIES UNITY_GROUP ${room})
  endforeach()
endfunction()
