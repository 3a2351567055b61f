// The bridge to the Boost Graph Library: a maximum matching in a general graph.
#include <boost/graph/adjacency_list.hpp>
#include <boost/graph/max_cardinality_matching.hpp>
#include <map>

#include "core/mask/mask_needs.h"

namespace havlo {

std::vector<std::pair<int, int>> mostPairs(const std::vector<std::pair<int, int>>& sharable) {
  using Graph = boost::adjacency_list<boost::vecS, boost::vecS, boost::undirectedS>;
  using Node = boost::graph_traits<Graph>::vertex_descriptor;
  std::map<int, Node> nodes;
  for (const auto& [a, b] : sharable) nodes.emplace(a, 0), nodes.emplace(b, 0);
  std::vector<int> things;
  for (auto& [thing, node] : nodes) node = things.size(), things.push_back(thing);
  Graph graph(things.size());
  for (const auto& [a, b] : sharable) boost::add_edge(nodes.at(a), nodes.at(b), graph);
  std::vector<Node> mate(things.size());
  boost::edmonds_maximum_cardinality_matching(graph, mate.data());
  std::vector<std::pair<int, int>> out;
  for (size_t k = 0; k < mate.size(); ++k)
    if (mate[k] != boost::graph_traits<Graph>::null_vertex() && k < mate[k])
      out.emplace_back(things[k], things[mate[k]]);
  return out;
}

}  // namespace havlo
