# Libraries from Debian. Those without a config package of their own become imported targets here.
find_package(Threads REQUIRED)
find_package(nlohmann_json 3 REQUIRED)
find_package(GEOS 3.11 REQUIRED)
find_package(Qt6 6.4 REQUIRED COMPONENTS Core Gui Svg Widgets PrintSupport)

find_path(OPENCV_INCLUDE_DIR opencv2/imgproc.hpp PATH_SUFFIXES opencv4 REQUIRED)
foreach(part core imgproc)
  find_library(OPENCV_${part}_LIBRARY opencv_${part} REQUIRED)
  add_library(OpenCV::${part} UNKNOWN IMPORTED)
  set_target_properties(OpenCV::${part} PROPERTIES
    IMPORTED_LOCATION "${OPENCV_${part}_LIBRARY}"
    INTERFACE_SYSTEM_INCLUDE_DIRECTORIES "${OPENCV_INCLUDE_DIR}"
    INTERFACE_INCLUDE_DIRECTORIES "${OPENCV_INCLUDE_DIR}")
endforeach()
